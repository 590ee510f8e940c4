import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsInt,
  IsISO8601,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';

const whenMessage = { message: 'Choose a date and time.' };
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
  @ApiProperty({ description: 'ISO 8601' }) @IsISO8601({ strict: true }, whenMessage) startsAt: string;
  @ApiProperty()
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
  @ApiProperty() @IsISO8601({ strict: true }, whenMessage) startsAt: string;
  @ApiProperty()
  @IsString()
  @Matches(/\S/, roomMessage)
  @MaxLength(60, { message: 'A room name has at most 60 characters.' })
  room: string;
}

export class SeatDto {
  @ApiProperty() @IsUUID('all', { message: 'Choose a group.' }) group: string;
}
