/** Training the observer's eye: children drawn with and without a fault, and how often an observer was right. */
@org.jspecify.annotations.NullMarked
package io.isokinet.core.eye;
