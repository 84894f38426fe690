import { IsBoolean, IsIn } from 'class-validator';
import { Optional } from './decorators';
import { ListAsked } from './lists';

/** Puts something away, or brings it back: a blend, a card, a pot, a plant. It is listed and offered no more, and stays. */
export class PutAway {
  @IsBoolean({ message: 'Say whether it is put away, yes or no.' })
  archived!: boolean;
}

/** A whole list that shows what was put away instead, where that is asked for. */
export class AskAway {
  @Optional()
  @IsIn(['yes'], { message: 'Ask for what was put away with yes.' })
  away?: 'yes';
}

/** A list that shows what was put away only where that is asked for. */
export class ListWithAway extends ListAsked {
  @Optional()
  @IsIn(['yes'], { message: 'Ask for what was put away with yes.' })
  away?: 'yes';
}
