// The forms of the core of which records are made, in one piece to be loaded.
export { madeSummarySchema, patchTestSchema, recipientSchema } from '@jubbet/core/batch';
export { ownContainerSchema, ownMaterialSchema } from '@jubbet/core/catalog';
export { blendFileSchema } from '@jubbet/core/exchange';
export { logEntrySchema, packedLogSchema } from '@jubbet/core/making';
export { planSchema } from '@jubbet/core/planning';
export { analysisSchema, bottleSchema, movementSchema } from '@jubbet/core/stock';
