using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class ProvenDevices : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<long>(
                name: "CommentId",
                table: "ReaderLinks",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "OwnerKey",
                table: "ReaderLinks",
                type: "TEXT",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "ProvenDevices",
                columns: table => new
                {
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Mail = table.Column<string>(type: "TEXT", nullable: false),
                    OwnerKey = table.Column<string>(type: "TEXT", nullable: false),
                    ProvenAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ProvenDevices", x => new { x.SiteId, x.Mail, x.OwnerKey });
                    table.ForeignKey(
                        name: "FK_ProvenDevices_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_SiteId_OwnerKey",
                table: "Comments",
                columns: new[] { "SiteId", "OwnerKey" },
                filter: "\"OwnerKey\" IS NOT NULL");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "ProvenDevices");

            migrationBuilder.DropIndex(
                name: "IX_Comments_SiteId_OwnerKey",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "CommentId",
                table: "ReaderLinks");

            migrationBuilder.DropColumn(
                name: "OwnerKey",
                table: "ReaderLinks");
        }
    }
}
