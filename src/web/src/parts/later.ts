/** Loads what no page waits for, once what it does wait for has had its turn. */
export const later = <T>(load: () => Promise<T>): Promise<T> => new Promise((done) => setTimeout(() => done(load()), 600));
