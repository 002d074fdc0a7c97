import { labelFaces, type LabelParagraph, type LabelText } from '@jubbet/core/words';
import { signPaths, signStroke, signWords } from './signs';

const Signs = ({ signs }: Pick<LabelText, 'signs'>) =>
  signs.length > 0 && (
    <span className="flex shrink-0 gap-[0.3em]">
      {signs.map((sign) => (
        <svg
          key={sign}
          role="img"
          aria-label={signWords[sign]}
          viewBox="0 0 24 24"
          className="size-[1.85em]"
          fill="none"
          stroke="black"
          strokeWidth={signStroke}
          strokeLinecap="round"
        >
          <path d={signPaths[sign]} />
        </svg>
      ))}
    </span>
  );

const looks: Record<LabelParagraph['size'], string> = {
  title: 'font-serif text-[1.7em] leading-[1.05] font-semibold',
  lead: 'text-[1.08em]',
  text: '',
};

const Paragraph = ({ paragraph: { about, size, runs } }: { paragraph: LabelParagraph }) => (
  <p data-about={about} className={looks[size]}>
    {runs.map(({ text, bold }) =>
      bold && size !== 'title' ? <b key={text}>{text}</b> : <span key={text}>{text}</span>,
    )}
  </p>
);

/** Paragraphs of a label under each other. */
const Paragraphs = ({ all }: { all: readonly LabelParagraph[] }) =>
  all.map((paragraph) => <Paragraph key={paragraph.about} paragraph={paragraph} />);

/** The front of a label; what may be on the back does so where it is split. */
export const ContainerLabel = ({ label, isSplit }: { label: LabelText; isSplit: boolean }) => {
  const { front, back, foot } = labelFaces(label);
  const [title, ...rest] = front;
  if (label.doNotUse) {
    return (
      <div className="m-auto grid gap-[0.4em] text-center">
        <p className="text-[2em] leading-none font-bold">
          {title?.runs.map(({ text }) => text).join('')}
        </p>
        <Paragraphs all={rest} />
      </div>
    );
  }
  return (
    <>
      <div className="flex items-start justify-between gap-[0.4em]">
        {title && <Paragraph paragraph={title} />}
        <Signs signs={label.signs} />
      </div>
      <Paragraphs all={[...rest, ...(isSplit ? [] : back), ...foot]} />
    </>
  );
};

/** What is on a second label, for the back. */
export const BackLabel = ({ label }: { label: LabelText }) => {
  const { again, back } = labelFaces(label);
  return (
    <>
      <div className="font-semibold">
        <Paragraph paragraph={again} />
      </div>
      <Paragraphs all={back} />
    </>
  );
};
