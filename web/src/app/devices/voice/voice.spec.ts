import { TestBed } from '@angular/core/testing';
import { Voice } from './voice';

/** Stands for the browser's speech: some voices, and what is spoken is over when told so. */
class FakeSpeech extends EventTarget {
  spoken: SpeechSynthesisUtterance[] = [];
  cancelled = 0;

  constructor(private voices: unknown[]) {
    super();
  }

  getVoices = () => this.voices;
  speak = (said: SpeechSynthesisUtterance) => void this.spoken.push(said);
  cancel = () => void this.cancelled++;

  install(voices: unknown[]): void {
    this.voices = voices;
    this.dispatchEvent(new Event('voiceschanged'));
  }
}

describe('the voice', () => {
  function withVoices(voices: unknown[]): { voice: Voice; speech: FakeSpeech } {
    const speech = new FakeSpeech(voices);
    spyOnProperty(globalThis, 'speechSynthesis', 'get').and.returnValue(speech as never);
    return { voice: TestBed.inject(Voice), speech };
  }

  it('is silent where none is installed, and says so without keeping anyone waiting', async () => {
    const { voice, speech } = withVoices([]);
    expect(voice.silent()).toBeTrue();
    await voice.say('the top, to the left');
    expect(speech.spoken).toEqual([]);
  });

  it('is found when the browser finds it a moment later', () => {
    const { voice, speech } = withVoices([]);
    speech.install([{}]);
    expect(voice.silent()).toBeFalse();
  });

  it('says the new sentence instead of the one under way, and tells when it was said', async () => {
    const { voice, speech } = withVoices([{}]);
    void voice.say('one');
    let over = false;
    const said = voice.say('two').then(() => (over = true));
    expect(speech.cancelled).toBe(2);
    expect(speech.spoken.map(({ text }) => text)).toEqual(['one', 'two']);
    await Promise.resolve();
    expect(over).toBeFalse();
    speech.spoken[1]!.onend!(new Event('end') as SpeechSynthesisEvent);
    await said;
    expect(over).toBeTrue();
  });

  it('does not wait for ever when a sentence cannot be said', async () => {
    const { voice, speech } = withVoices([{}]);
    const said = voice.say('one');
    speech.spoken[0]!.onerror!(new Event('error') as SpeechSynthesisErrorEvent);
    await expectAsync(said).toBeResolved();
  });
});
