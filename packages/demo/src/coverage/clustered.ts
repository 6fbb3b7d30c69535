/** How often something held, counted for each of a number of horses: answers of one horse are not independent. */
export interface Cluster {
  inside: number;
  asked: number;
}

export interface ClusteredShare {
  readonly share: number;
  /** Half of the 95 % interval of the share, from the spread between clusters; Infinity from fewer than two. */
  readonly half: number;
}

const SDS_OF_95 = 1.96;

/** Share over all clusters with its interval, as of a ratio of sums over clusters drawn independently (linearised, Cochran). */
export function clusteredShare(clusters: readonly Readonly<Cluster>[]): ClusteredShare {
  const held = clusters.filter((c) => c.asked > 0);
  const asked = held.reduce((s, c) => s + c.asked, 0);
  const share = held.reduce((s, c) => s + c.inside, 0) / asked;
  if (held.length < 2) return { share, half: Infinity };
  const squares = held.reduce((s, c) => s + (c.inside - share * c.asked) ** 2, 0);
  return { share, half: (SDS_OF_95 * Math.sqrt((held.length / (held.length - 1)) * squares)) / asked };
}
