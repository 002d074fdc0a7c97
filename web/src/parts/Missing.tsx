import { ButtonLink } from '../ui/Button';
import { ScreenTitle } from '../ui/ScreenTitle';

/** Something that was looked for and is not there, with ways on. */
export const Missing = ({ title, text }: { title: string; text: string }) => (
  <section className="mx-auto max-w-xl py-10">
    <ScreenTitle title={title} />
    <p className="mt-3">{text}</p>
    <div className="mt-4 flex flex-wrap gap-2">
      <ButtonLink look="first" to="/blends">
        To the blends
      </ButtonLink>
      <ButtonLink to="/batches">To the batches</ButtonLink>
    </div>
  </section>
);
