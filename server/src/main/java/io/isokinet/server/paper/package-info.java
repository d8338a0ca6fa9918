/** The engines of paper and picture: templates into PDF, floors into SVG, SVG into PNG. They know nothing of a school. */
@ApplicationModule(allowedDependencies = {})
@NullMarked
package io.isokinet.server.paper;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
