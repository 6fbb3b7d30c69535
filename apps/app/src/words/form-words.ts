/** What is said at a field that can't be taken as it is: its value, and what would do. */
export const FORM_WORDS = {
  horseName: 'A horse needs a name to be found again.',
  nameTooLong: (name: string, most: number) => `This name has ${name.length} letters; ${most} is the most.`,
  age: (typed: string, most: number) => `“${typed}” is not an age in years, 0 to ${most}.`,
  heightInHands: (typed: string) => `“${typed}” is not a height in hands: 15.2 is fifteen hands two inches, with 0 to 3 after the point.`,
  heightInCm: (typed: string, leastCm: number, mostCm: number) => `“${typed}” cm is not a horse’s height, ${leastCm} to ${mostCm}.`,
  riderName: 'A rider needs a name.',
  riderHeight: (typed: string, leastCm: number, mostCm: number) => `“${typed}” cm is not a rider’s height, ${leastCm} to ${mostCm}.`,
  riderWeight: (typed: string, leastKg: number, mostKg: number) => `“${typed}” kg is not a rider’s weight, ${leastKg} to ${mostKg}.`,
  holdBy: 'A hold is cleared by a person with a name.',
  holdReason: 'Say why it may go on.',
  email: 'Type the e-mail you sign in with.',
  password: 'Type your password.',
} as const;
