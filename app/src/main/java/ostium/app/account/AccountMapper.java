package ostium.app.account;

import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface AccountMapper {
    @Insert(
            "insert into account (id, email, name, password_hash) values (#{account.id}, #{account.email}, #{account.name}, #{passwordHash})")
    void insert(Account account, String passwordHash);

    @Select("select id, email, name from account where email = #{email}")
    Optional<Account> byEmail(String email);

    @Select("select password_hash from account where email = #{email}")
    Optional<String> passwordHash(String email);
}
