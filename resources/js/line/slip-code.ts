/** What goes with a number: whoever has the slip has it. Mirrors Core\Line\Ticket::slipCode(). */
export const slipCodeOf = (ticketId: string) => ticketId.slice(-3).toUpperCase();
