import { ApiProperty } from '@nestjs/swagger';
import { IsBoolean, IsInt, IsObject, IsOptional, Min } from 'class-validator';
import { Absent } from '../input/absent.js';

export class NewDocumentDto {
  @ApiProperty({ type: Object, description: 'The document, by its published schema' })
  @IsObject({ message: 'Send the document as a JSON object.' })
  document: object;
  @ApiProperty({ required: false })
  @IsOptional()
  @IsBoolean({ message: 'Shared is yes or no.' })
  shared?: boolean;
}
export class SaveDocumentDto {
  @ApiProperty({ type: Object })
  @IsObject({ message: 'Send the document as a JSON object.' })
  document: object;
  @ApiProperty({ description: 'The version you began from' })
  @IsInt({ message: 'Say which version you began from.' })
  @Min(1)
  from: number;
}
export class SetDocumentDto {
  @ApiProperty({ required: false })
  @Absent()
  @IsBoolean({ message: 'Shared is yes or no.' })
  shared?: boolean;
  @ApiProperty({ required: false })
  @Absent()
  @IsBoolean({ message: 'Archived is yes or no.' })
  archived?: boolean;
}
