import { Notice } from '../../ui/Notice';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { ButtonLink } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { useWrite } from '../../parts/useWrite';
import { qrIn } from '../../parts/readQr';
import { readInCode } from './readInBlend';
import { CodedError, blendsWords } from '@jubbet/core/words';

/** A camera picture is looked at so often, in ms: in between the page has other things to do. */
const lookEvery = 200;
/** And no larger than this, in pixels: the next one comes at once. */
const longestLook = 800;

const noCamera =
  'The camera can’t be used: the browser has none, or did not allow it. Photograph the code and import the picture on the page of blends.';

/** Reads the code of a blend with the camera. */
export const ScanScreen = () => {
  const video = useRef<HTMLVideoElement>(null);
  const catalog = useCatalog();
  const navigate = useNavigate();
  const write = useWrite();
  const [trouble, setTrouble] = useState('');
  useEffect(() => {
    const stopped = new AbortController();
    const look = async (): Promise<void> => {
      // Without a secure address a browser offers no cameras at all.
      const devices = navigator.mediaDevices as MediaDevices | undefined;
      if (!devices) throw new CodedError('no-camera', {});
      const stream = await devices.getUserMedia({ video: { facingMode: 'environment' } });
      const off = () => stream.getTracks().forEach((track) => track.stop());
      stopped.signal.addEventListener('abort', off);
      if (stopped.signal.aborted) off();
      const element = video.current;
      if (!element) return;
      element.srcObject = stream;
      await element.play();
      let last = '';
      while (!stopped.signal.aborted) {
        const code =
          element.videoWidth > 0
            ? qrIn(element, element.videoWidth, element.videoHeight, longestLook)
            : null;
        // What was refused once is not tried again while it is held there.
        if (code !== null && code !== last) {
          last = code;
          const read = await write('The imported blend', () => readInCode(catalog, code));
          if (read?.ok === true) {
            await navigate(`/blends/${read.id}`);
            return;
          }
          if (read?.ok === false) setTrouble(read.sentence);
        }
        await new Promise((next) => setTimeout(next, lookEvery));
      }
    };
    look().catch(() => {
      if (!stopped.signal.aborted) setTrouble(noCamera);
    });
    return () => stopped.abort();
    // The camera is begun once.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  return (
    <div className="mx-auto grid max-w-2xl gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title="Scan a code" />
        <ButtonLink to="/blends">Back to blends</ButtonLink>
      </div>
      <p>{blendsWords.holdTheCodeOfA}</p>
      {trouble && (
        <Notice tone="over" isUrgent>
          ■ {trouble}
        </Notice>
      )}
      <video
        ref={video}
        muted
        playsInline
        aria-label={blendsWords.whatTheCameraSees}
        className="aspect-square w-full rounded-xl border border-line bg-night object-cover"
      />
    </div>
  );
};
