/** What an empty shop is asked first: how it stands until its baker says otherwise. */
export interface FirstQuestions {
  readonly roomName: string;
  readonly roomC: number;
}
