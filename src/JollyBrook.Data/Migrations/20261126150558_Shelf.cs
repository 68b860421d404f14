using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace JollyBrook.Data.Migrations
{
    /// <inheritdoc />
    public partial class Shelf : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            // What a book held before is laid on the shelf from now on; an undo from before is given up.
            migrationBuilder.Sql("""DELETE FROM "restore_points";""");

            migrationBuilder.RenameColumn(
                name: "Backup",
                table: "restore_points",
                newName: "Lot");

            migrationBuilder.CreateTable(
                name: "shelved_records",
                columns: table => new
                {
                    Lot = table.Column<Guid>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", maxLength: 40, nullable: false),
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    Body = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_shelved_records", x => new { x.Lot, x.Kind, x.Id });
                });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "shelved_records");

            migrationBuilder.RenameColumn(
                name: "Lot",
                table: "restore_points",
                newName: "Backup");
        }
    }
}
