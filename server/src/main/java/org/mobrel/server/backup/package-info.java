/**
 * The whole kitchen as one file, and back: into an empty kitchen or a filled one, all or nothing. docs/formats/kitchen-backup.md describes it.
 *
 * <p>Entry type: {@link org.mobrel.server.backup.BackupService}. What a backup holds stands in sections.txt, beside this package's resources.
 */
@NullMarked
package org.mobrel.server.backup;

import org.jspecify.annotations.NullMarked;
