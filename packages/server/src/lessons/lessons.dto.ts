import { momentForm, plateKinds } from '@kivex/core';
import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsInt,
  IsIn,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';

import { IsMoment } from '../input/is-moment.js';
import { Tidy } from '../input/tidy.js';
import { PlacesDto } from '../rooms/places.dto.js';

const whenMessage = `Choose a date and time, between 2000 and 2099; it is sent as ${momentForm}.`;
const roomMessage = { message: 'Say which room, such as Lab 2.' };

export class GroupDto {
  @ApiProperty() @IsInt({ message: 'A bench row is a whole number.' }) @Min(0) @Max(30) row: number;
  @ApiProperty() @IsInt({ message: 'A bench place is a whole number.' }) @Min(0) @Max(30) column: number;
  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMinSize(1, { message: 'A group needs at least one student; take empty groups out.' })
  @ArrayMaxSize(4, { message: 'A group has at most four students; move some to another group.' })
  @IsUUID('all', { each: true })
  students: string[];
}

export class NewLessonDto {
  @ApiProperty() @IsUUID('all', { message: 'Choose a practical.' }) practical: string;
  @ApiProperty() @IsUUID('all', { message: 'Choose a class.' }) class: string;
  @ApiProperty({ description: 'ISO 8601' }) @IsMoment(whenMessage) startsAt: string;
  @ApiProperty()
  @Tidy()
  @IsString()
  @Matches(/\S/, roomMessage)
  @MaxLength(60, { message: 'A room name has at most 60 characters.' })
  room: string;
  @ApiProperty({ type: [GroupDto] })
  @IsArray()
  @ArrayMinSize(1, { message: 'Make at least one group.' })
  @ArrayMaxSize(40, { message: 'A lesson has at most 40 groups.' })
  @ValidateNested({ each: true })
  @Type(() => GroupDto)
  groups: GroupDto[];
}

export class ChangeLessonDto {
  @ApiProperty() @IsMoment(whenMessage) startsAt: string;
  @ApiProperty()
  @Tidy()
  @IsString()
  @Matches(/\S/, roomMessage)
  @MaxLength(60, { message: 'A room name has at most 60 characters.' })
  room: string;
}

class PinDto {
  @ApiProperty() @IsInt() @Min(1) @Max(60) group: number;
  @ApiProperty() @IsString() @MaxLength(60) task: string;
  @ApiProperty() @IsInt() @Min(0) @Max(600) start: number;
}
class SlotDto extends PinDto {
  @ApiProperty() @IsInt() @Min(0) @Max(1200) end: number;
}
const whichVersion = { message: 'Say from which version this change began. Load the page again.' };
class PartDto {
  @ApiProperty({ description: 'The version of this part that the change began from' })
  @IsInt(whichVersion)
  @Min(0, whichVersion)
  from: number;
}
export class RotaPlanningDto extends PartDto {
  @ApiProperty() @IsObject() @ValidateNested() @Type(() => PlacesDto) places: PlacesDto;
  @ApiProperty({ type: [PinDto] })
  @IsArray()
  @ArrayMaxSize(400)
  @ValidateNested({ each: true })
  @Type(() => PinDto)
  pins: PinDto[];
  @ApiProperty({ type: [SlotDto], nullable: true })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(1800)
  @ValidateNested({ each: true })
  @Type(() => SlotDto)
  schedule: SlotDto[] | null;
}
export class PrepPlanningDto extends PartDto {
  @ApiProperty()
  @IsNumber({}, { message: 'The surplus is a share, such as 0.2.' })
  @Min(0, { message: 'The surplus is 0 or more.' })
  @Max(3, { message: 'The surplus is at most 3, four times what is used.' })
  surplus: number;
  @ApiProperty()
  @IsNumber({}, { message: 'A drop is a number of cm³, such as 0.05.' })
  @Min(0.01, { message: 'A drop is at least 0.01 cm³.' })
  @Max(0.2, { message: 'A drop is at most 0.2 cm³.' })
  drop_mL: number;
  @ApiProperty() @IsIn(plateKinds.map((k) => k.id), { message: 'Choose a plate.' }) plate: string;
  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMaxSize(96)
  @Matches(/^[A-Ha-h]\d{1,2}$/, { each: true, message: 'Wells are named like A1.' })
  skip: string[];
}

export class DealingDto {
  @ApiProperty({ type: Object, description: 'By group id: ids of samples it has to have' })
  @IsObject({ message: 'Send the pins by group.' })
  pinned: Record<string, string[]>;
}
export class BenchPlaceDto {
  @ApiProperty() @IsInt() @Min(0) @Max(30) row: number;
  @ApiProperty() @IsInt() @Min(0) @Max(30) column: number;
}

export class SeatDto {
  @ApiProperty() @IsUUID('all', { message: 'Choose a group.' }) group: string;
}
