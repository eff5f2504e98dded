/** How words are spoken: sounds, syllables, stress and rhymes. Knows no words by itself: what is looked up is handed to it. */
export * from './article.ts';
export * from './spoken.ts';
