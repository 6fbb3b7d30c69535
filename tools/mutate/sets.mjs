const QUESTIONS = ['sit-questions', 'sit-picture', 'front-questions', 'ready-body'].map((name) => `packages/core/src/visit/${name}.ts`);

/**
 * What is mutated, and the tests that hold it: quick ones, without browser, database or physics. The score is over all of a set.
 * `static` mutants (those made while a file is loaded) run all tests of their set, so a set's tests are kept to a few seconds.
 */
export const SETS = {
  judgement: {
    mutate: ['packages/core/src/{judge,schools,visit,records}/*.ts', ...QUESTIONS.map((file) => `!${file}`)],
    tests: ['judge', 'schools', 'visit', 'records', 'shape'].map((room) => `packages/core/src/${room}`),
    without: ['questions.test'],
  },
  /** What is asked of the engine: its tests search, which takes seconds, so they stand alone. */
  questions: { mutate: QUESTIONS, tests: ['packages/core/src/visit'], only: 'questions.test' },
  server: {
    mutate: [
      'apps/server/src/visits/{take,append,fact,visit}-rules.ts',
      'apps/server/src/visits/decided.ts',
      'apps/server/src/photos/{photo-rules,picture-kind}.ts',
      'apps/server/src/records/merge-record.ts',
      'apps/server/src/rankings/turns.ts',
      'apps/server/src/views/tracings.ts',
      'apps/server/src/platform/errors/fulcra-error.ts',
    ],
    tests: ['apps/server/test/rules'],
  },
  sync: {
    mutate: [
      'apps/app/src/platform/sync/{booking,clash,create-sync,outbox,outcome,sending,waiting}.ts',
      'apps/app/src/platform/views/*.ts',
    ],
    tests: ['apps/app/src/platform/sync', 'apps/app/src/platform/views'],
  },
};

/** Of all mutants of a set this share is to be killed, %. */
export const WANTED = 85;
