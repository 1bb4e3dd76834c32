package org.mobrel.server.catalogue;

import org.mobrel.canner.PressureTable;
import org.mobrel.day.WorkTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.jars.JarTable;
import org.mobrel.method.RequiredSteps;
import org.mobrel.prep.Scraps;
import org.mobrel.recipe.LineReader;
import org.mobrel.ruling.Rulings;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The core's tables, read once at start: a bad cell keeps the server from starting. */
@Configuration(proxyBeanMethods = false)
class Tables {

    @Bean
    Catalogue catalogue() {
        return Catalogue.load();
    }

    @Bean
    PressureTable pressureTable() {
        return PressureTable.load();
    }

    @Bean
    JarTable jarTable() {
        return JarTable.load();
    }

    @Bean
    LineReader lineReader(Catalogue catalogue) {
        return new LineReader(catalogue);
    }

    @Bean
    Rulings rulings(Catalogue catalogue, PressureTable pressures, JarTable jars, RowComparisons comparisons) {
        return new Rulings(catalogue, pressures, jars, comparisons::suspended);
    }

    @Bean
    RequiredSteps requiredSteps() {
        return RequiredSteps.load();
    }

    @Bean
    WorkTable workTable() {
        return WorkTable.load();
    }

    @Bean
    Scraps scraps() {
        return Scraps.load();
    }
}
