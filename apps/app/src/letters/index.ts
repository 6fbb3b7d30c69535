export { LetterForm } from './letter-form';
