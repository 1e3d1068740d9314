import { FILE_VERSION } from '@/core/files';
import type { ImportError } from '@/store';

/** Why a file was not taken in. Nothing stored has changed in any of these cases. */
export function importWords(error: ImportError): string {
  switch (error.code) {
    case 'not-json':
    case 'not-ours':
      return 'This file is not a Fresh Porch house. Choose the file that “Export the whole house” made.';
    case 'truncated':
      return 'This file is cut off before its end. Copy it again from where it was exported.';
    case 'newer-version':
      return `This file comes from a newer Fresh Porch (version ${error.version}; this one reads up to ${FILE_VERSION}). Reload to update, then try again.`;
    case 'broken':
      return `The start of the house in this file cannot be read, at ${error.path}: ${error.reason}. Nothing was taken in.`;
    case 'no-house':
      return 'This file holds no house. Choose another one.';
    case 'refused':
      return 'The house could not be kept: this device has no room left or refuses to write. What was here before is untouched.';
    case 'other-house':
      return 'This file is of another house. Open it beside this one.';
    case 'already-here':
      return `“${error.name}” is already on this device.`;
  }
}
