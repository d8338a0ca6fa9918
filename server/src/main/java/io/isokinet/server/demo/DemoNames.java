package io.isokinet.server.demo;

/** Names that nobody bears. */
final class DemoNames {
    static final String[] GIVEN = {
        "Maren", "Bela", "Emre", "Lior", "Idris", "Sana", "Ravi", "Hari", "Yusra", "Femi", "Ines", "Wren", "Tove",
                "Nia",
        "Zofia", "Elif", "Piet", "Jonas", "Milo", "Cato", "Pia", "Teo", "Anouk", "Rosa", "Lars", "Oona", "Kofi", "Ayla",
        "Bram", "Chidi", "Dilan", "Esme", "Finn", "Greta", "Hugo", "Ilse", "Juno", "Kaya", "Luka", "Mira", "Noor",
                "Otis",
        "Petra", "Quinn", "Runa", "Suri", "Tariq", "Uma", "Vida", "Willa", "Xavi", "Yara", "Zeno", "Alma", "Birk",
                "Carys",
        "Dov", "Edda", "Farid", "Gwen", "Hal", "Isla", "Jory", "Kit", "Lena", "Mabli", "Niko", "Orla", "Pau", "Rafi",
        "Saga", "Tomos", "Ulla", "Vito", "Wiki", "Yann", "Zia", "Anselm", "Bodil", "Cilla"
    };
    static final String[] FAMILY = {
        "Sandhu-Lowe",
        "Tidemark",
        "Ferry",
        "Oakhaven",
        "Marsh",
        "Quayle-Orr",
        "Saltley",
        "Nethercove",
        "Brackwater",
        "Pierpoint",
        "Dunecroft",
        "Harbourne",
        "Kelpie",
        "Merefield",
        "Rockhall",
        "Shingleton",
        "Windle",
        "Estuary",
        "Beaconsby"
    };

    private DemoNames() {}
}
