/** The name of the database file in a data folder. */
export const DATABASE_FILE = 'kobby.sqlite';
/** Where backups lie in a data folder. */
export const BACKUPS_FOLDER = 'backups';
/** The folders of a data folder whose files belong to the home: its sheets, and the messages that were sent. */
export const FILE_FOLDERS = ['files', 'outbox'] as const;

/** An instant as it stands in the name of a file. */
export const stampOf = (ms: number): string => new Date(ms).toISOString().replaceAll(/[:.]/g, '-');
