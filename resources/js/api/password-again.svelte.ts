/** The password once more, where the server asks for it before it goes on. */
class PasswordAgain {
  isAsked = $state(false);
  private answer: (isTyped: boolean) => void = () => undefined;

  /** Resolves to whether it was typed, and was the one. */
  ask(): Promise<boolean> {
    this.isAsked = true;

    return new Promise((resolve) => (this.answer = resolve));
  }

  end(isTyped: boolean): void {
    this.isAsked = false;
    this.answer(isTyped);
  }
}

export const passwordAgain = new PasswordAgain();
