/**
 * Carriers that go with nearly everything: hardly any smell, long kept, few allergies. The first stands
 * in where a recipe names none yet and only its volume matters. Our own choice; each is in the library.
 */
export const usualCarriers = ['jojoba', 'fractionated_coconut', 'squalane'] as const;
