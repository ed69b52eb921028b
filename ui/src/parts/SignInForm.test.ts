import { fireEvent, render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../api/client';
import { NOBODY, session } from '../session.svelte';
import SignInForm from './SignInForm.svelte';

describe('signing in, wherever it is asked for', () => {
  const done = vi.fn();
  const answered = (answer: object, status: number) =>
    vi.spyOn(api, 'POST').mockResolvedValue({ ...answer, response: new Response(null, { status }) } as never);

  beforeEach(() => {
    vi.restoreAllMocks();
    done.mockReset();
    session.set(NOBODY);
    render(SignInForm, { done });
  });

  async function enter(): Promise<void> {
    await fireEvent.input(screen.getByLabelText('E-mail'), { target: { value: 'ada@ashlatch.example' } });
    await fireEvent.input(screen.getByLabelText('Password'), { target: { value: 'quillhaven' } });
    await fireEvent.click(screen.getByRole('button', { name: 'Sign in' }));
  }

  it('goes on where it was asked', async () => {
    answered({ data: { name: 'Ada', email: 'ada@ashlatch.example' } }, 200);
    await enter();
    expect(session.isIn).toBe(true);
    await vi.waitFor(() => expect(done).toHaveBeenCalledOnce());
  });

  it('says what is wrong at once, keeps what was typed, and puts the cursor at the password', async () => {
    answered({ error: { detail: 'This address and this password do not belong together.' } }, 422);
    await enter();
    await vi.waitFor(() => expect(screen.getByRole('alert').textContent).toContain('do not belong together'));
    expect(screen.getByLabelText<HTMLInputElement>('E-mail').value).toBe('ada@ashlatch.example');
    expect(document.activeElement?.id).toBe('password');
    expect(done).not.toHaveBeenCalled();
  });

  it('says so when the connection is away', async () => {
    answered({ error: { detail: 'The connection is away. Try again in a moment.' } }, 503);
    await enter();
    await vi.waitFor(() => expect(screen.getByRole('alert').textContent).toContain('The connection is away'));
  });
});
