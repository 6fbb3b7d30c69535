export const DEG_PER_RAD = 180 / Math.PI;
export const degFromRad = (rad: number): number => rad * DEG_PER_RAD;
export const radFromDeg = (deg: number): number => deg / DEG_PER_RAD;
