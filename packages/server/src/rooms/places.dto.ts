import { applyDecorators } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { IsInt, IsOptional, Max, Min } from 'class-validator';

const placesMessage = { message: 'Places are a whole number from 0 to 60.' };
/** How many groups a station takes at once. */
const Places = () =>
  applyDecorators(IsOptional(), IsInt(placesMessage), Min(0, placesMessage), Max(60, placesMessage));
export class PlacesDto {
  @ApiProperty({ required: false }) @Places() burner?: number;
  @ApiProperty({ required: false }) @Places() 'fume-cupboard'?: number;
  @ApiProperty({ required: false }) @Places() 'hot-water-bath'?: number;
  @ApiProperty({ required: false }) @Places() sink?: number;
}
