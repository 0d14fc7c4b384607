package app.carder.web.account;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.repository.Repository;

interface SignInFailureRepository extends Repository<SignInFailure, String> {

    void save(SignInFailure failure);

    Optional<SignInFailure> findById(String username);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<SignInFailure> findByUsername(String username);

    void deleteByUsername(String username);
}
