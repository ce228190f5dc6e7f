import { Link, useRouteError } from 'react-router';
import { Notice } from '../ui/Notice.tsx';

export function RouteTrouble() {
  const error = useRouteError();
  const message = error instanceof Error ? error.message : String(error);
  return (
    <main className="mx-auto max-w-2xl p-6">
      <h1 className="mb-4 text-2xl">This page broke</h1>
      <Notice>
        <p>{message}</p>
        <p className="mt-2">Nothing you entered is lost. Load the page again, or go to the day.</p>
      </Notice>
      <Link to="/" className="mt-4 inline-block min-h-11 font-semibold underline">
        To the day
      </Link>
    </main>
  );
}

export function NotFound() {
  return (
    <div className="mx-auto max-w-2xl p-6">
      <h1 className="mb-2 text-2xl">There is nothing at this address</h1>
      <p>
        It may have been mistyped.{' '}
        <Link to="/" className="font-semibold underline">
          To the day
        </Link>
      </p>
    </div>
  );
}
