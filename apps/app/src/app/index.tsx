export { YardScreen as default } from '../yard/yard-screen';
