package ostium.app.booking;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.transaction.annotation.Transactional;

/**
 * One change of a diary. What is read after the lock of the diary is what others have committed before it, whatever was read
 * earlier in the same transaction; that is how every transaction of Ostium reads ({@code application.yaml}): with repeatable
 * reads two could be given the same time.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@Transactional(rollbackFor = NotFree.class)
public @interface DiaryTransaction {}
