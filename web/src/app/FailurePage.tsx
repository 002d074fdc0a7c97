import { useRouteError } from 'react-router';
import { Button, ButtonLink } from '../ui/Button';
import { ErrorDetails } from '../parts/ErrorDetails';
import { detailsOf } from '../parts/detailsOf';
import { ScreenTitle } from '../ui/ScreenTitle';
import { storeTroubleOf } from '../parts/storeTrouble';

/** What is shown where a screen broke: what happened, that nothing is lost, what to do. */
export const FailurePage = () => {
  const error = useRouteError();
  const trouble = storeTroubleOf(error);
  return (
    <section className="mx-auto max-w-xl py-10">
      <ScreenTitle title={trouble?.title ?? 'This page stopped working'} />
      <p className="mt-3">
        {trouble
          ? `${trouble.what} ${trouble.todo}`
          : 'What you typed and counted is saved. Try this page again, or go on elsewhere.'}
      </p>
      <div className="mt-3">
        <ErrorDetails details={detailsOf(error)} />
      </div>
      <div className="mt-4 flex gap-2">
        <Button look="first" onClick={() => window.location.reload()}>
          Try again
        </Button>
        <ButtonLink to="/blends" reloadDocument>
          To the blends
        </ButtonLink>
      </div>
    </section>
  );
};
