/** A write that has not gone through and is kept until it does, over a reload too. */
export class Unsent<Sent> {
  constructor(private readonly of: string) {}

  read(id: string): Sent | null {
    const kept = localStorage.getItem(this.key(id));
    return kept === null ? null : (JSON.parse(kept) as Sent);
  }

  keep(id: string, write: Sent): void {
    localStorage.setItem(this.key(id), JSON.stringify(write));
  }

  forget(id: string): void {
    localStorage.removeItem(this.key(id));
  }

  private key(id: string): string {
    return `lumbro-unsent-${this.of}${id}`;
  }
}
