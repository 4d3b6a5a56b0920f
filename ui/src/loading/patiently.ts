/** Pauses before something is asked for again, ms: a tablet that goes from one network to another has none for a moment. */
const PAUSES = [300, 1_000, 3_000];

/** What cannot be had now may be had in a moment; what still fails then fails. */
export async function patiently<Found>(ask: () => Promise<Found>): Promise<Found> {
  for (const pause of PAUSES) {
    try {
      return await ask();
    } catch {
      await new Promise((done) => setTimeout(done, pause));
    }
  }
  return ask();
}
