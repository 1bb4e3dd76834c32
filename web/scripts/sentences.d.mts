export function gathered(): Map<string, string[]>;
export function list(): string;
export const LIST_FILE: string;
