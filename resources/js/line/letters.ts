/** The three letters that go with a number: whoever has the slip has them. Mirrors Core\\Line\\Ticket::letters(). */
export const lettersOf = (ticketId: string) => ticketId.slice(-3).toUpperCase();
