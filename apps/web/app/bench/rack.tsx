export { RackScreen as default } from '@/rack/rack-screen';
