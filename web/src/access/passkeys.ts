import {
  browserSupportsWebAuthn,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
  startAuthentication,
  startRegistration,
  WebAuthnError,
} from '@simplewebauthn/browser';
import { change } from '../api/client';
import type { QuestionView } from '../api/schema';

/** Passkeys belong to a name: an address of mere numbers has none, and a plain connection is not trusted with them. */
const IS_NUMBERS = /^[\d.]+$|^\[/;

/** Whether a passkey can be used at this address by this browser. */
export const canHavePasskeys = (): boolean =>
  window.isSecureContext && browserSupportsWebAuthn() && !IS_NUMBERS.test(window.location.hostname);

/** Asks the device who it is. The answer goes to the server as it is. */
export async function answerWho(): Promise<{ name: string; credential: string }> {
  const question = await change<QuestionView>('/api/sign-in/passkey/question');
  const optionsJSON = JSON.parse(question.options) as PublicKeyCredentialRequestOptionsJSON;
  return { name: question.name, credential: JSON.stringify(await ofDevice(startAuthentication({ optionsJSON }))) };
}

/** Lets the device make one. */
export async function answerNew(): Promise<{ name: string; credential: string }> {
  const question = await change<QuestionView>('/api/people/passkeys/question');
  const optionsJSON = JSON.parse(question.options) as PublicKeyCredentialCreationOptionsJSON;
  return { name: question.name, credential: JSON.stringify(await ofDevice(startRegistration({ optionsJSON }))) };
}

/** What the browser says of a device is not for makers. */
async function ofDevice<T>(answer: Promise<T>): Promise<T> {
  try {
    return await answer;
  } catch (failure) {
    if (failure instanceof WebAuthnError && failure.code === 'ERROR_AUTHENTICATOR_PREVIOUSLY_REGISTERED') {
      throw new Error('This device has a passkey of yours already.', { cause: failure });
    }
    throw new Error('The device did not answer, or was told not to.', { cause: failure });
  }
}
