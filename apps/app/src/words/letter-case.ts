/** A phrase as it begins a sentence. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
/** A phrase as it stands within one. */
export const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
