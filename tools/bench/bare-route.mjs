import Fastify from 'fastify';
import mysql from 'mysql2/promise';

/** The least a server does for an answer of so many bytes: one row asked for by its key, and sent. */
const pool = mysql.createPool({ uri: process.env.DATABASE_URL, dateStrings: ['DATE'] });
const app = Fastify();
app.get('/:name', async (request, reply) => {
  const [rows] = await pool.query('SELECT content FROM bench_answer WHERE name = ?', [request.params.name]);
  return reply.type('application/json; charset=utf-8').send(rows[0].content);
});
/** The least a server does that puts a yard's page together itself: two questions, no sign-in, no check, no name for what it sent. */
let yard = null;
process.on('message', (question) => void (yard = question));
app.get('/yard', async () => {
  const [[rows], [[{ horses: total }]]] = await Promise.all([
    pool.query(yard.sql, yard.values),
    pool.query('SELECT horses FROM yard_size WHERE practice_id = ?', [yard.values[0]]),
  ]);
  const summary = ({ part: _, total: __, lastVisitOn, openVisitId, outline, inUse, riderIds, ridesIn, gone, ...fields }) => ({
    horse: { ...fields, riderIds: JSON.parse(riderIds), ridesIn: JSON.parse(ridesIn), gone: JSON.parse(gone) },
    lastVisitOn,
    openVisitId,
    inUse: JSON.parse(inUse),
    outline: JSON.parse(outline ?? '[]'),
  });
  const [horses, underWay] = ['horses', 'underWay'].map((name) => rows.filter(({ part }) => part === name).map(summary));
  return { underWay, horses, next: horses.length < total ? horses.length : null, total };
});
/** The least a server does to keep something: one row written and acknowledged. */
app.put('/:name', async (request) => {
  await pool.query('INSERT INTO bench_answer (name, content) VALUES (?, ?)', [request.params.name, JSON.stringify(request.body)]);
  return { ok: true };
});
process.send({ address: await app.listen({ host: '127.0.0.1', port: 0 }) });
