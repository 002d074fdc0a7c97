// Fetched by itself, and only where a house has materials of its own.
export { houseMaterials } from '../../../core/src/catalog/index';
