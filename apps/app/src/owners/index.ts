export { WordsOfHorse } from './words-of-horse';
