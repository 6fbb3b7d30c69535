export { NewHorseScreen as default } from '../../horse/new-horse-screen';
