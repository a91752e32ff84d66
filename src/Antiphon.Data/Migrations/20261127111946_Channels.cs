using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class Channels : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "Channels",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Settings = table.Column<string>(type: "TEXT", nullable: false),
                    Secret = table.Column<string>(type: "TEXT", nullable: true),
                    SecretBefore = table.Column<string>(type: "TEXT", nullable: true),
                    SecretBeforeUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    PausedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    PauseReason = table.Column<string>(type: "TEXT", nullable: true),
                    FailuresInRow = table.Column<int>(type: "INTEGER", nullable: false),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    ArchivedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Channels", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Channels_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "PostChanges",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    PostId = table.Column<long>(type: "INTEGER", nullable: false),
                    Act = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_PostChanges", x => x.Id);
                    table.ForeignKey(
                        name: "FK_PostChanges_Posts_PostId",
                        column: x => x.PostId,
                        principalTable: "Posts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ChannelDeliveries",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    ChannelId = table.Column<long>(type: "INTEGER", nullable: false),
                    PostId = table.Column<long>(type: "INTEGER", nullable: true),
                    Act = table.Column<string>(type: "TEXT", nullable: false),
                    Target = table.Column<string>(type: "TEXT", nullable: false),
                    Round = table.Column<int>(type: "INTEGER", nullable: false),
                    State = table.Column<string>(type: "TEXT", nullable: false),
                    PlannedFor = table.Column<long>(type: "INTEGER", nullable: false),
                    NextAttemptAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Attempts = table.Column<int>(type: "INTEGER", nullable: false),
                    Held = table.Column<string>(type: "TEXT", nullable: true),
                    OwnText = table.Column<string>(type: "TEXT", nullable: true),
                    Sent = table.Column<string>(type: "TEXT", nullable: true),
                    Answer = table.Column<string>(type: "TEXT", nullable: true),
                    ReceivedAddress = table.Column<string>(type: "TEXT", nullable: true),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    DeliveredAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ChannelDeliveries", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ChannelDeliveries_Channels_ChannelId",
                        column: x => x.ChannelId,
                        principalTable: "Channels",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_ChannelDeliveries_Posts_PostId",
                        column: x => x.PostId,
                        principalTable: "Posts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ChannelAttempts",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    DeliveryId = table.Column<long>(type: "INTEGER", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    Milliseconds = table.Column<int>(type: "INTEGER", nullable: false),
                    Outcome = table.Column<string>(type: "TEXT", nullable: false),
                    Answer = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ChannelAttempts", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ChannelAttempts_ChannelDeliveries_DeliveryId",
                        column: x => x.DeliveryId,
                        principalTable: "ChannelDeliveries",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_ChannelAttempts_DeliveryId",
                table: "ChannelAttempts",
                column: "DeliveryId");

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_Ahead",
                table: "ChannelDeliveries",
                columns: new[] { "ChannelId", "PlannedFor" },
                filter: "\"State\" IN ('Queued', 'Sending', 'Retrying')");

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_ChannelId_PostId_Target_Round",
                table: "ChannelDeliveries",
                columns: new[] { "ChannelId", "PostId", "Target", "Round" },
                unique: true,
                filter: "\"Act\" = 'Publish'");

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_Key",
                table: "ChannelDeliveries",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_NextAttemptAt",
                table: "ChannelDeliveries",
                column: "NextAttemptAt",
                filter: "\"State\" IN ('Queued', 'Sending', 'Retrying')");

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_PostId",
                table: "ChannelDeliveries",
                column: "PostId");

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_SiteId_PlannedFor_Id",
                table: "ChannelDeliveries",
                columns: new[] { "SiteId", "PlannedFor", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_Channels_SiteId",
                table: "Channels",
                column: "SiteId");

            migrationBuilder.CreateIndex(
                name: "IX_PostChanges_PostId",
                table: "PostChanges",
                column: "PostId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "ChannelAttempts");

            migrationBuilder.DropTable(
                name: "PostChanges");

            migrationBuilder.DropTable(
                name: "ChannelDeliveries");

            migrationBuilder.DropTable(
                name: "Channels");
        }
    }
}
