const isNamed = (value: unknown): value is { name: string; message: string } =>
  typeof value === 'object' && value !== null && 'name' in value && 'message' in value;

/** Why a write did not come about, in words that say what can be done. */
export const errorWords = (error: unknown): string => {
  if (!isNamed(error)) return String(error);
  switch (error.name) {
    case 'QuotaExceededError':
      return 'the disk is full';
    case 'DatabaseClosedError':
    case 'InvalidStateError':
      return 'the data were closed; load the page again';
    default:
      return error.message;
  }
};
