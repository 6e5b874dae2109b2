/** A picture and how many colours it is to be told in; the answer is its dominant colours. */
export interface PictureAsk {
  readonly picture: Blob;
  readonly count: number;
}
