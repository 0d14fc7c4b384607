package app.carder.web;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** Starts Carder. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class CarderApplication {

    /** Starts Carder. */
    public static void main(String[] args) {
        SpringApplication.run(CarderApplication.class, args);
    }
}
