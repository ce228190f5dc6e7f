import { useAccount } from '../../api/account.ts';
import { Panel } from '../../ui/Panel.tsx';
import { AnotherDevice } from './AnotherDevice.tsx';
import { Browsers } from './Browsers.tsx';
import { NameField } from './NameField.tsx';
import { OneTimeCodes } from './OneTimeCodes.tsx';
import { OwnCalendar } from './OwnCalendar.tsx';
import { Passkeys } from './Passkeys.tsx';
import { PasswordForm } from './PasswordForm.tsx';
import { SignOut } from './SignOut.tsx';

/** One's own name and password, and the browsers one is signed in with. */
export function AccountPage() {
  const account = useAccount();
  if (account === null) return <p className="p-6 text-soft">Opening …</p>;
  const { name, email, role, academy, may } = account;
  return (
    <div className="mx-auto max-w-3xl space-y-4 px-4 py-5">
      <div className="flex flex-wrap items-center gap-3">
        <div className="mr-auto">
          <h1 className="text-2xl">{name}</h1>
          <p className="text-soft">
            {role} at {academy} · {email}
          </p>
        </div>
        <SignOut />
      </div>
      <Panel name="Names" isTitled>
        <div className="grid gap-3 sm:grid-cols-2">
          <NameField key={`me ${name}`} of="account" label="Your name" value={name} />
          {may.includes('own') && (
            <NameField key={academy} of="academy" label="The academy’s name" value={academy} />
          )}
        </div>
      </Panel>
      <Panel name="Signed in" isTitled>
        <Browsers />
        <AnotherDevice />
      </Panel>
      <Panel name="Lessons in your own calendar" isTitled>
        <OwnCalendar />
      </Panel>
      <Panel name="Passkeys" isTitled>
        <Passkeys />
      </Panel>
      <Panel name="Password" isTitled>
        <PasswordForm />
      </Panel>
      <Panel name="One-time codes" isTitled>
        <OneTimeCodes />
      </Panel>
    </div>
  );
}
