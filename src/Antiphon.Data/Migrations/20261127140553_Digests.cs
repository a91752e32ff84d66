using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class Digests : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Categories",
                table: "SubscriptionAsks",
                type: "TEXT",
                nullable: false,
                defaultValue: "[]");

            migrationBuilder.AddColumn<string>(
                name: "Consent",
                table: "SubscriptionAsks",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "ConsentVersion",
                table: "SubscriptionAsks",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Digests",
                table: "SubscriptionAsks",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "FormId",
                table: "SubscriptionAsks",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Name",
                table: "SubscriptionAsks",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Categories",
                table: "Subscribers",
                type: "TEXT",
                nullable: false,
                defaultValue: "[]");

            migrationBuilder.AddColumn<string>(
                name: "Consent",
                table: "Subscribers",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "ConsentVersion",
                table: "Subscribers",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Digests",
                table: "Subscribers",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "LastReturn",
                table: "Subscribers",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "PausedUntil",
                table: "Subscribers",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "SeenAt",
                table: "Subscribers",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "SoftBounces",
                table: "Subscribers",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<string>(
                name: "Suppressed",
                table: "Subscribers",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "SuppressedAt",
                table: "Subscribers",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "GoneAddresses",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Hash = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_GoneAddresses", x => x.Id);
                    table.ForeignKey(
                        name: "FK_GoneAddresses_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Segments",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Rule = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Segments", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Segments_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "SignUpForms",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Settings = table.Column<string>(type: "TEXT", nullable: false),
                    ConsentVersion = table.Column<int>(type: "INTEGER", nullable: false),
                    LookId = table.Column<long>(type: "INTEGER", nullable: true),
                    ArchivedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_SignUpForms", x => x.Id);
                    table.ForeignKey(
                        name: "FK_SignUpForms_Looks_LookId",
                        column: x => x.LookId,
                        principalTable: "Looks",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_SignUpForms_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Digests",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Settings = table.Column<string>(type: "TEXT", nullable: false),
                    SegmentId = table.Column<long>(type: "INTEGER", nullable: true),
                    IsUsual = table.Column<bool>(type: "INTEGER", nullable: false),
                    PausedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    NextAt = table.Column<long>(type: "INTEGER", nullable: true),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    ArchivedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Digests", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Digests_Segments_SegmentId",
                        column: x => x.SegmentId,
                        principalTable: "Segments",
                        principalColumn: "Id");
                    table.ForeignKey(
                        name: "FK_Digests_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Editions",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    DigestId = table.Column<long>(type: "INTEGER", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Occasion = table.Column<string>(type: "TEXT", nullable: false),
                    State = table.Column<string>(type: "TEXT", nullable: false),
                    PausedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    DueAt = table.Column<long>(type: "INTEGER", nullable: false),
                    FinishedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    GatheredTo = table.Column<long>(type: "INTEGER", nullable: false),
                    Settings = table.Column<string>(type: "TEXT", nullable: false),
                    Total = table.Column<int>(type: "INTEGER", nullable: false),
                    Delivered = table.Column<int>(type: "INTEGER", nullable: false),
                    Failed = table.Column<int>(type: "INTEGER", nullable: false),
                    Cancelled = table.Column<int>(type: "INTEGER", nullable: false),
                    Opens = table.Column<int>(type: "INTEGER", nullable: false),
                    Left = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Editions", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Editions_Digests_DigestId",
                        column: x => x.DigestId,
                        principalTable: "Digests",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "EditionLinks",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    EditionId = table.Column<long>(type: "INTEGER", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Address = table.Column<string>(type: "TEXT", nullable: false),
                    Clicks = table.Column<int>(type: "INTEGER", nullable: false),
                    SecondClicks = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_EditionLinks", x => x.Id);
                    table.ForeignKey(
                        name: "FK_EditionLinks_Editions_EditionId",
                        column: x => x.EditionId,
                        principalTable: "Editions",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "EditionPosts",
                columns: table => new
                {
                    EditionId = table.Column<long>(type: "INTEGER", nullable: false),
                    PostId = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_EditionPosts", x => new { x.EditionId, x.PostId });
                    table.ForeignKey(
                        name: "FK_EditionPosts_Editions_EditionId",
                        column: x => x.EditionId,
                        principalTable: "Editions",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_EditionPosts_Posts_PostId",
                        column: x => x.PostId,
                        principalTable: "Posts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.Sql("ALTER TABLE \"Subscribers\" ADD COLUMN \"FormId\" INTEGER NULL CONSTRAINT \"FK_Subscribers_SignUpForms_FormId\" REFERENCES \"SignUpForms\" (\"Id\") ON DELETE SET NULL;");

            migrationBuilder.CreateIndex(
                name: "IX_Subscribers_FormId",
                table: "Subscribers",
                column: "FormId");

            migrationBuilder.CreateIndex(
                name: "IX_Subscribers_SiteId_CreatedAt",
                table: "Subscribers",
                columns: new[] { "SiteId", "CreatedAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Digests_NextAt",
                table: "Digests",
                column: "NextAt");

            migrationBuilder.CreateIndex(
                name: "IX_Digests_SegmentId",
                table: "Digests",
                column: "SegmentId");

            migrationBuilder.CreateIndex(
                name: "IX_Digests_SiteId",
                table: "Digests",
                column: "SiteId");

            migrationBuilder.CreateIndex(
                name: "IX_EditionLinks_EditionId_Address",
                table: "EditionLinks",
                columns: new[] { "EditionId", "Address" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_EditionLinks_Key",
                table: "EditionLinks",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_EditionPosts_PostId",
                table: "EditionPosts",
                column: "PostId");

            migrationBuilder.CreateIndex(
                name: "IX_Editions_DigestId_Occasion",
                table: "Editions",
                columns: new[] { "DigestId", "Occasion" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Editions_Key",
                table: "Editions",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Editions_SiteId_DueAt_Id",
                table: "Editions",
                columns: new[] { "SiteId", "DueAt", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_Editions_State",
                table: "Editions",
                column: "State");

            migrationBuilder.CreateIndex(
                name: "IX_GoneAddresses_SiteId_Hash",
                table: "GoneAddresses",
                columns: new[] { "SiteId", "Hash" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Segments_SiteId_Name",
                table: "Segments",
                columns: new[] { "SiteId", "Name" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_SignUpForms_Key",
                table: "SignUpForms",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_SignUpForms_LookId",
                table: "SignUpForms",
                column: "LookId");

            migrationBuilder.CreateIndex(
                name: "IX_SignUpForms_SiteId",
                table: "SignUpForms",
                column: "SiteId");

            DeliveriesOfEditions(migrationBuilder);
            CountsOfEditions(migrationBuilder);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            DeliveriesOfPosts(migrationBuilder);

            migrationBuilder.DropIndex(
                name: "IX_Subscribers_FormId",
                table: "Subscribers");

            migrationBuilder.DropIndex(
                name: "IX_Subscribers_SiteId_CreatedAt",
                table: "Subscribers");

            migrationBuilder.Sql("ALTER TABLE \"Subscribers\" DROP COLUMN \"FormId\";");

            migrationBuilder.DropTable(
                name: "EditionLinks");

            migrationBuilder.DropTable(
                name: "EditionPosts");

            migrationBuilder.DropTable(
                name: "GoneAddresses");

            migrationBuilder.DropTable(
                name: "SignUpForms");

            migrationBuilder.DropTable(
                name: "Editions");

            migrationBuilder.DropTable(
                name: "Digests");

            migrationBuilder.DropTable(
                name: "Segments");

            migrationBuilder.DropColumn(
                name: "Categories",
                table: "SubscriptionAsks");

            migrationBuilder.DropColumn(
                name: "Consent",
                table: "SubscriptionAsks");

            migrationBuilder.DropColumn(
                name: "ConsentVersion",
                table: "SubscriptionAsks");

            migrationBuilder.DropColumn(
                name: "Digests",
                table: "SubscriptionAsks");

            migrationBuilder.DropColumn(
                name: "FormId",
                table: "SubscriptionAsks");

            migrationBuilder.DropColumn(
                name: "Name",
                table: "SubscriptionAsks");

            migrationBuilder.DropColumn(
                name: "Categories",
                table: "Subscribers");

            migrationBuilder.DropColumn(
                name: "Consent",
                table: "Subscribers");

            migrationBuilder.DropColumn(
                name: "ConsentVersion",
                table: "Subscribers");

            migrationBuilder.DropColumn(
                name: "Digests",
                table: "Subscribers");

            migrationBuilder.DropColumn(
                name: "LastReturn",
                table: "Subscribers");

            migrationBuilder.DropColumn(
                name: "PausedUntil",
                table: "Subscribers");

            migrationBuilder.DropColumn(
                name: "SeenAt",
                table: "Subscribers");

            migrationBuilder.DropColumn(
                name: "SoftBounces",
                table: "Subscribers");

            migrationBuilder.DropColumn(
                name: "Suppressed",
                table: "Subscribers");

            migrationBuilder.DropColumn(
                name: "SuppressedAt",
                table: "Subscribers");
        }

        // Every site has had a mail with each post so far; what was sent becomes editions of that. Written out, since the tools would rebuild the table before the data is in place.
        private static void DeliveriesOfEditions(MigrationBuilder migrationBuilder) => migrationBuilder.Sql("""
            INSERT INTO Digests (SiteId, Name, Settings, IsUsual, CreatedAt)
            SELECT Id, 'Each new post', '{"rhythm":{"every":"Post"},"choice":{"blogs":[],"categories":[],"tags":[],"authors":[],"featuredOnly":false},"form":"Whole","subject":"{title}"}', 1, CreatedAt FROM Sites;

            INSERT INTO Editions (SiteId, DigestId, Key, Occasion, State, DueAt, FinishedAt, GatheredTo, Settings, Total, Delivered, Failed, Cancelled, Opens, Left)
            SELECT d.SiteId, g.Id, lower(hex(randomblob(12))), 'post ' || d.PostId, CASE WHEN sum(d.State IN ('Queued', 'Sending', 'Retrying')) > 0 THEN 'Sending' ELSE 'Sent' END, min(d.CreatedAt),
                CASE WHEN sum(d.State IN ('Queued', 'Sending', 'Retrying')) > 0 THEN NULL ELSE max(coalesce(d.DeliveredAt, d.NextAttemptAt)) END, max(d.SubscriberId), g.Settings,
                count(*), sum(d.State = 'Delivered'), sum(d.State = 'Failed'), sum(d.State = 'Cancelled'), 0, 0
            FROM Deliveries d JOIN Digests g ON g.SiteId = d.SiteId GROUP BY d.SiteId, d.PostId;

            INSERT INTO EditionPosts (EditionId, PostId) SELECT e.Id, p.Id FROM Editions e JOIN Posts p ON e.Occasion = 'post ' || p.Id AND e.SiteId = p.SiteId;

            CREATE TABLE "NewDeliveries" (
                "Id" INTEGER NOT NULL CONSTRAINT "PK_Deliveries" PRIMARY KEY AUTOINCREMENT,
                "Key" TEXT NOT NULL,
                "SiteId" INTEGER NOT NULL,
                "EditionId" INTEGER NOT NULL,
                "SubscriberId" INTEGER NOT NULL,
                "IsSecond" INTEGER NOT NULL,
                "State" TEXT NOT NULL,
                "Attempts" INTEGER NOT NULL,
                "NextAttemptAt" INTEGER NOT NULL,
                "CreatedAt" INTEGER NOT NULL,
                "DeliveredAt" INTEGER NULL,
                "LastAnswer" TEXT NULL,
                CONSTRAINT "FK_Deliveries_Editions_EditionId" FOREIGN KEY ("EditionId") REFERENCES "Editions" ("Id") ON DELETE CASCADE,
                CONSTRAINT "FK_Deliveries_Subscribers_SubscriberId" FOREIGN KEY ("SubscriberId") REFERENCES "Subscribers" ("Id") ON DELETE CASCADE
            );

            INSERT INTO NewDeliveries (Id, Key, SiteId, EditionId, SubscriberId, IsSecond, State, Attempts, NextAttemptAt, CreatedAt, DeliveredAt, LastAnswer)
            SELECT d.Id, d.Key, d.SiteId, e.Id, d.SubscriberId, 0, d.State, d.Attempts, d.NextAttemptAt, d.CreatedAt, d.DeliveredAt, d.LastAnswer
            FROM Deliveries d JOIN Editions e ON e.SiteId = d.SiteId AND e.Occasion = 'post ' || d.PostId;

            DROP TABLE Deliveries;
            ALTER TABLE NewDeliveries RENAME TO Deliveries;
            CREATE UNIQUE INDEX "IX_Deliveries_Key" ON "Deliveries" ("Key");
            CREATE UNIQUE INDEX "IX_Deliveries_EditionId_SubscriberId" ON "Deliveries" ("EditionId", "SubscriberId");
            CREATE INDEX "IX_Deliveries_NextAttemptAt" ON "Deliveries" ("NextAttemptAt") WHERE "State" IN ('Queued', 'Sending', 'Retrying');
            CREATE INDEX "IX_Deliveries_EditionId_State_Id" ON "Deliveries" ("EditionId", "State", "Id");
            CREATE INDEX "IX_Deliveries_SubscriberId_State" ON "Deliveries" ("SubscriberId", "State");
            """);

        // What was delivered stays counted when a subscriber has everything about them deleted.
        private static void CountsOfEditions(MigrationBuilder migrationBuilder) => migrationBuilder.Sql("""
            CREATE TRIGGER TR_Deliveries_Counted AFTER INSERT ON Deliveries BEGIN
                UPDATE Editions SET Total = Total + 1, Delivered = Delivered + (NEW.State = 'Delivered'), Failed = Failed + (NEW.State = 'Failed'), Cancelled = Cancelled + (NEW.State = 'Cancelled') WHERE Id = NEW.EditionId;
            END;

            CREATE TRIGGER TR_Deliveries_Recounted AFTER UPDATE OF State ON Deliveries WHEN NEW.State <> OLD.State BEGIN
                UPDATE Editions SET Delivered = Delivered + (NEW.State = 'Delivered') - (OLD.State = 'Delivered'), Failed = Failed + (NEW.State = 'Failed') - (OLD.State = 'Failed'),
                    Cancelled = Cancelled + (NEW.State = 'Cancelled') - (OLD.State = 'Cancelled') WHERE Id = NEW.EditionId;
            END;

            CREATE TRIGGER TR_Deliveries_Uncounted AFTER DELETE ON Deliveries WHEN OLD.State IN ('Queued', 'Sending', 'Retrying') BEGIN
                UPDATE Editions SET Total = Total - 1 WHERE Id = OLD.EditionId;
            END;
            """);

        // An edition of several posts is kept with the first of them.
        private static void DeliveriesOfPosts(MigrationBuilder migrationBuilder) => migrationBuilder.Sql("""
            CREATE TABLE "OldDeliveries" (
                "Id" INTEGER NOT NULL CONSTRAINT "PK_Deliveries" PRIMARY KEY AUTOINCREMENT,
                "Key" TEXT NOT NULL,
                "SiteId" INTEGER NOT NULL,
                "PostId" INTEGER NOT NULL,
                "SubscriberId" INTEGER NOT NULL,
                "State" TEXT NOT NULL,
                "Attempts" INTEGER NOT NULL,
                "NextAttemptAt" INTEGER NOT NULL,
                "CreatedAt" INTEGER NOT NULL,
                "DeliveredAt" INTEGER NULL,
                "LastAnswer" TEXT NULL,
                CONSTRAINT "FK_Deliveries_Posts_PostId" FOREIGN KEY ("PostId") REFERENCES "Posts" ("Id") ON DELETE CASCADE,
                CONSTRAINT "FK_Deliveries_Subscribers_SubscriberId" FOREIGN KEY ("SubscriberId") REFERENCES "Subscribers" ("Id") ON DELETE CASCADE
            );

            INSERT OR IGNORE INTO OldDeliveries (Id, Key, SiteId, PostId, SubscriberId, State, Attempts, NextAttemptAt, CreatedAt, DeliveredAt, LastAnswer)
            SELECT d.Id, d.Key, d.SiteId, (SELECT min(p.PostId) FROM EditionPosts p WHERE p.EditionId = d.EditionId), d.SubscriberId, d.State, d.Attempts, d.NextAttemptAt, d.CreatedAt, d.DeliveredAt, d.LastAnswer
            FROM Deliveries d WHERE EXISTS (SELECT 1 FROM EditionPosts p WHERE p.EditionId = d.EditionId);

            DROP TABLE Deliveries;
            ALTER TABLE OldDeliveries RENAME TO Deliveries;
            CREATE UNIQUE INDEX "IX_Deliveries_Key" ON "Deliveries" ("Key");
            CREATE UNIQUE INDEX "IX_Deliveries_PostId_SubscriberId" ON "Deliveries" ("PostId", "SubscriberId");
            CREATE INDEX "IX_Deliveries_SiteId_CreatedAt_Id" ON "Deliveries" ("SiteId", "CreatedAt", "Id");
            CREATE INDEX "IX_Deliveries_State_NextAttemptAt" ON "Deliveries" ("State", "NextAttemptAt");
            CREATE INDEX "IX_Deliveries_SubscriberId" ON "Deliveries" ("SubscriberId");
            CREATE INDEX "IX_Deliveries_SiteId_State_PostId" ON "Deliveries" ("SiteId", "State", "PostId");
            """);
    }
}
