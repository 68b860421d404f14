/** What a walker of whom only the name is known starts from (pick: a middling adult). */
export const newWalker = { massKg: 70, heightCm: 172 };
