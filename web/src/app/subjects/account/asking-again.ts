import { Subject } from 'rxjs';

/** Who is signed in may be another than is believed here: it is to be asked. */
export const askAgain = new Subject<void>();

/** What tabs of one browser tell each other: that somebody signed in or out. */
const CHANNEL = 'sleetcrest session';

/** Tells the other tabs that it is somebody else now, and hears it from them. */
export class OtherTabs {
  private readonly channel =
    typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(CHANNEL);

  constructor(heard: () => void) {
    this.channel?.addEventListener('message', heard);
  }

  tell(): void {
    this.channel?.postMessage('changed');
  }

  close(): void {
    this.channel?.close();
  }
}
