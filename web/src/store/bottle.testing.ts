export { bottleOf } from '../../../core/src/stock/shelved.testing';
