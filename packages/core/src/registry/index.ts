export { has, idsOf, type Registry, registry } from './registry';
