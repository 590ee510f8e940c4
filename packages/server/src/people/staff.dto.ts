import { staffRoles, type StaffRole } from '@kivex/contract';
import { ApiProperty } from '@nestjs/swagger';
import { IsEmail, IsIn, IsString, Matches, MaxLength, MinLength } from 'class-validator';

const passwordShort = { message: 'A password has at least 10 characters; three words in a row are good.' };
const passwordLong = { message: 'A password has at most 200 characters.' };

class PersonDto {
  @ApiProperty()
  @IsString()
  @Matches(/\p{L}/u, { message: 'Write a name.' })
  @MaxLength(120, { message: 'A name has at most 120 letters.' })
  name: string;
  @ApiProperty()
  @IsEmail({}, { message: 'Write an e-mail address, such as name@school.example.' })
  @MaxLength(190)
  email: string;
  @ApiProperty() @IsString() @MinLength(10, passwordShort) @MaxLength(200, passwordLong) password: string;
}
export class NewStaffDto extends PersonDto {
  @ApiProperty({ enum: staffRoles })
  @IsIn(staffRoles, { message: 'Choose teacher, technician or head of department.' })
  role: StaffRole;
}
export class FirstSchoolDto extends PersonDto {
  @ApiProperty()
  @IsString()
  @Matches(/\S/, { message: 'Write the name of the school.' })
  @MaxLength(120, { message: 'A school name has at most 120 letters.' })
  school: string;
  @ApiProperty()
  @IsString()
  @MinLength(1, { message: 'Write the set-up code; it stands where Kivex was started.' })
  @MaxLength(60)
  setUpCode: string;
}
export class ChangePasswordDto {
  @ApiProperty()
  @IsString()
  @MinLength(1, { message: 'Write the password you have now.' })
  @MaxLength(200, passwordLong)
  current: string;
  @ApiProperty() @IsString() @MinLength(10, passwordShort) @MaxLength(200, passwordLong) next: string;
}
