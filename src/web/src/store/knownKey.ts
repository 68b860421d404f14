/** Where the quick storage keeps who was signed in last. */
export const knownKey = 'jolly-brook-known';
