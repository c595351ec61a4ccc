import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Suspense, useState } from 'react';
import { meQuery, setUpQuery } from '../api/queries';
import { Button } from '../ui/Button';
import { part } from '../ui/part';
import { useTitle } from '../ui/useTitle';
import { SignInForm } from './SignInForm';
import { Threshold } from './Threshold';

const SetUp = part(() => import('./SetUp').then((it) => it.SetUp));
const Forgotten = part(() => import('./Forgotten').then((it) => it.Forgotten));

/** Signing in; afterwards one is where one wanted to go. */
export function SignIn() {
  useTitle('Sign in');
  const client = useQueryClient();
  const setUp = useQuery(setUpQuery);
  const [forgotten, setForgotten] = useState(false);
  return (
    <Threshold>
      <Suspense fallback={null}>
        {setUp.data?.wanted ? (
          <SetUp />
        ) : forgotten ? (
          <Forgotten
            onBack={() => {
              setForgotten(false);
            }}
          />
        ) : (
          <>
            <h1 className="text-2xl font-bold">Sign in</h1>
            <SignInForm
              onSignedIn={(me) => {
                client.setQueryData(meQuery.queryKey, me);
              }}
            />
            <Button
              look="quiet"
              className="mt-4 -ml-2 font-normal"
              onClick={() => {
                setForgotten(true);
              }}
            >
              Forgotten your password?
            </Button>
          </>
        )}
      </Suspense>
    </Threshold>
  );
}
